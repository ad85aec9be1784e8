items = ["a", "b"]
print(items.length)
