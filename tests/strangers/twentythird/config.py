import json

raw = '{"garden": "Fernhollow", "beds": [{"id": 1, "crop": "peas", "wet": true}, {"id": 2, "crop": null, "wet": false}], "size": 12.5}'
data = json.loads(raw)
print(data["garden"], len(data["beds"]), type(data["size"]).__name__)
for bed in data["beds"]:
    print("{id}: {crop} {wet}".format(**bed))
data["beds"].append({"id": 3, "crop": "kale", "wet": True})
data["size"] *= 2
print(json.dumps(data))
print(json.dumps(data["beds"][0], indent=2, sort_keys=True))
try:
    json.loads("{oops}")
except json.JSONDecodeError as e:
    print("bad json", type(e).__name__)
except ValueError:
    print("value")

def deep(d, path, default=None):
    for key in path.split("."):
        if isinstance(d, list):
            key = int(key)
            if key >= len(d):
                return default
            d = d[key]
        elif key in d:
            d = d[key]
        else:
            return default
    return d

print(deep(data, "beds.2.crop"), deep(data, "beds.9.crop", "?"), deep(data, "garden.x" if False else "garden"))
merged = {**{"a": 1, "b": 2}, **{"b": 3}} | {"c": 4}
print(merged, merged.pop("a"), merged, list(merged.items()))
copy = {k: v for k, v in merged.items() if v > 3}
copy.update(d=5, e=6)
print(copy, dict(sorted(copy.items(), key=lambda kv: -kv[1])))
nested = {"x": [1, 2, {"y": (3, 4)}]}
nested["x"][2]["y"] += (5,)
print(nested, nested["x"][2]["y"][-1])
print(str(None), repr("it's"), repr('say "hi"'), [None, True, 1.0, 1e20, 1e-7, "\t"])
