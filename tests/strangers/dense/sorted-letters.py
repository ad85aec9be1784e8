s = "garden"
print("".join(sorted(s)))
x = sorted(s)
print(x, "".join(x), x[0], len(x), sorted("banana", reverse=True), "-".join(sorted(s, key=lambda c: -ord(c))))
x.append("z")
print(x, sorted("tea") == sorted("eat"), list(s), "".join(list(s)))
w = input_ = "listen"
def key(word): return "".join(sorted(word))
print(key("silent") == key(w))
groups = {}
for v in ["tea", "eat", "tan"]:
    groups.setdefault("".join(sorted(v)), []).append(v)
print(groups)
for c in sorted(s): print(c, end="")
