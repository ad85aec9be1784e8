import json, copy, string
data = json.loads('{"beds": [{"name": "A", "plants": ["rose", "mint"], "dry": false}, {"name": "B", "plants": [], "dry": true}], "year": 2024, "notes": null}')
deep = copy.deepcopy(data)
shallow = dict(data)
deep["beds"][0]["plants"].append("sage")
shallow["beds"][1]["plants"].append("lily")
print(json.dumps(data, indent=2, sort_keys=True))
print(len(deep["beds"][0]["plants"]), data == shallow, data is shallow)
def flatten(value, path=""):
    if isinstance(value, dict):
        for k, v in value.items():
            yield from flatten(v, f"{path}.{k}" if path else k)
    elif isinstance(value, list):
        for i, v in enumerate(value):
            yield from flatten(v, f"{path}[{i}]")
    else:
        yield path, value
for p, v in flatten(data):
    print(f"{p:<22} {v!r}")
table = str.maketrans(string.ascii_lowercase, string.ascii_lowercase[13:] + string.ascii_lowercase[:13])
print("hello fern".translate(table))
print(string.ascii_uppercase[:5], string.digits, "x" in string.punctuation)
