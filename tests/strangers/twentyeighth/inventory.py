import json

stock = json.loads('{"rake": {"n": 4, "price": 12.5}, "hose": {"n": 1, "price": 30}, "gloves": {"n": 10, "price": 3.2, "tags": ["small", "green"]}}')

def restock(items, **amounts):
    for name, n in amounts.items():
        items.setdefault(name, {"n": 0, "price": 1})["n"] += n

def value(items):
    return round(sum(i["n"] * i["price"] for i in items.values()), 2)

restock(stock, rake=2, trowel=5)
print(value(stock))
print(json.dumps(stock, indent=2, sort_keys=True))
low = [name for name, i in stock.items() if i["n"] < 5]
print("low:", ", ".join(low) if low else "-")
best = max(stock, key=lambda k: stock[k]["n"] * stock[k]["price"])
print(best, stock.get("spade", {}).get("n", 0))
for i, (name, item) in enumerate(sorted(stock.items()), 1):
    tags = item.get("tags") or ["none"]
    print(f"{i}. {name:.<10}{item['n']:>3} {'/'.join(tags)}")
del stock["hose"]
merged = {**stock, "pot": {"n": 7}}
print(len(merged), list(merged)[-1], merged["pot"] is merged.get("pot"))
try:
    merged["saw"]
except KeyError as missing:
    print("no", missing)
copy = json.loads(json.dumps(stock))
copy["rake"]["n"] = 0
print(stock["rake"]["n"], copy == stock)
