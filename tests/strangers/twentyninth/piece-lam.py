add = lambda *nums: sum(nums)
print(add(1, 2, 3), add())
show = lambda *a, **k: (a, k)
first = lambda x, *rest: (x, list(rest))
print(first(1, 2, 3))
acts = {"go": lambda *_: "went", "stop": lambda *args: f"stopped {len(args)}"}
print(acts["go"](1, 2), acts["stop"]())
fs = []
for i in range(3):
    fs.append(lambda: i * 10)
print([f() for f in fs])
