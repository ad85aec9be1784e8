items = ["a", "b"]
items.push("c")
print(items)
