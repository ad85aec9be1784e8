d = {"b": 2, "a": 1.5}
print(d.keys())
print(d.values(), d.items(), list(d.keys()))
print("Keys:", d.keys(), sep=" ")
print(f"{d.keys()} and {list(d.values())}", str(d.items()), len(d.keys()), {}.items(), "a" in d.keys())
for k, v in d.items(): print(k, v)
print(sorted(d.keys()), sum(d.values()), max(d.items(), key=lambda kv: kv[1]))
