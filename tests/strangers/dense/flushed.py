print("a", flush=True)
print("b", end="", flush=False)
d = dict.fromkeys("ab")
print(d, dict.fromkeys([1], 0))
