class Stack:
    def __init__(self, items=None): self.items = items or []
    def push(self, x): self.items.append(x)
    def pop(self):
        if not self.items: raise IndexError("empty stack")
        return self.items.pop()
    def __bool__(self): return len(self.items) > 0
    def __str__(self): return "<" + " ".join(str(i) for i in self.items) + ">"

def balanced(s):
    pairs = {")": "(", "]": "[", "}": "{"}
    st = Stack()
    for ch in s:
        if ch in pairs.values(): st.push(ch)
        elif ch in pairs:
            if not st or st.pop() != pairs[ch]: return False
    return not st
for t in ["([]{})", "([)]", "((", ""]:
    print(repr(t), balanced(t))
s = Stack([1, 2])
s.push("x")
print(s)
try:
    for _ in range(5): print(s.pop(), end=" ")
except IndexError as e:
    print("|", e)
def hanoi(n, a="A", b="B", c="C"):
    if n == 0: return 0
    return hanoi(n - 1, a, c, b) + 1 + hanoi(n - 1, c, b, a)
print(hanoi(5))
def flatten(x):
    return [z for y in x for z in flatten(y)] if isinstance(x, list) else [x]
print(flatten([1, [2, [3, [4]], 5]]))
def perms(s):
    if len(s) <= 1: return [s]
    return [c + p for i, c in enumerate(s) for p in perms(s[:i] + s[i+1:])]
print(perms("abc"))
def quick(a):
    if len(a) < 2: return a
    p, *rest = a
    return quick([x for x in rest if x < p]) + [p] + quick([x for x in rest if x >= p])
print(quick([3, 6, 1, 8, 2, 9, 2]))
memo = {}
def fib(n):
    if n in memo: return memo[n]
    memo[n] = n if n < 2 else fib(n-1) + fib(n-2)
    return memo[n]
print(fib(80))
total = 0
i = 0
while True:
    i += 1
    if i % 2: continue
    if i > 10: break
    total += i
else: print("never")
print(total)
print(all([]), any([]), sum([[1], [2]], []), list(zip("ab", [1, 2])), dict(zip("ab", [1, 2])))
lst = [5, 3, 8]
lst.insert(1, 7); lst.remove(8); lst.extend([1, 1]); print(lst, lst.count(1), lst.index(3), lst[::-1], lst[-2:], 7 in lst)
del lst[0]; print(lst, lst == [7, 3, 1, 1], lst is lst[:])
print("a" "b", 'it''s', "tab\tq\"", r"\n", "é".upper(), "%s-%s" % ("x", 1), "abc"[1:], "abc" * 2, "x,y".split(","))
