import json

beds = {"süd": [1, 2, {"b": None, "a": True}], "nord": {}, "ost": "Kürbis\u2028/", "west": 2.5}
print(json.dumps(beds, indent=2, sort_keys=True))
print(json.dumps(beds, ensure_ascii=False))
print(json.dumps(beds, sort_keys=True, indent=4, ensure_ascii=False))
print(json.dumps({3: "c", 1: "a"}, sort_keys=True), json.dumps(beds))
