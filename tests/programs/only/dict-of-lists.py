beds = {"north": ["bean", "pea"], "south": []}
beds["south"].append("kale")
beds["east"] = ["mint"]
for side, plants in beds.items():
    print(side, ", ".join(plants))
person = {"name": "Wren", "age": 12, "beds": [1, 2]}
person["age"] += 1
print(person["name"], person["age"], person["beds"][1])
print(person)
records = [{"name": "a", "n": 2}, {"name": "b", "n": 1}]
records.sort(key=lambda record: record["n"])
print([record["name"] for record in records])
print(beds.pop("east"), "east" in beds)
