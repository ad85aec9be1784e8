d = {"a": 1}
print(d["a"])
print(d["b"])
