import json
data = '{"beds": [{"name": "north", "plants": ["leek", "kale"]}, {"name": "south", "plants": []}], "open": true, "area": 12.5, "owner": null}'
garden = json.loads(data)
for bed in garden["beds"]:
    plants = ", ".join(bed["plants"]) or "nothing"
    print(f"{bed['name'].title()}: {plants}")
garden["beds"][1]["plants"].append("fern")
print(garden["open"], garden["owner"], garden["area"])
print(json.dumps(garden["beds"][1]))
print(json.dumps({"a": [1, 2], "b": "x"}, indent=2))
