import json
text = '{"school": "Fernhollow", "beds": [{"id": 1, "crops": ["bean", "pea"], "open": true}, {"id": 2, "crops": [], "open": false}], "head": null}'
data = json.loads(text)
print(data["school"], len(data["beds"]))
for bed in data["beds"]:
    state = "open" if bed["open"] else "closed"
    print(f'bed {bed["id"]}: {", ".join(bed["crops"]) or "-"} ({state})')
data["beds"].append({"id": 3, "crops": ["kale"], "open": True})
print(json.dumps(data["beds"][-1]))
print(json.dumps({"a": 1, "b": [1, 2.5, "x", None]}, indent=2))
