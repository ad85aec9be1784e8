import re
m = re.search("x", "abc")
if m:
    print(1)
else:
    print(2)
if not m:
    print(3)
n = re.search("b", "abc")
if not n:
    print(4)
if not re.match("q", "abc"):
    print(5)
print(m is None, bool(m), bool(n))
while not m:
    m = re.search("c", "abc")
print(m.group())
print("yes" if re.match("a", "abc") else "no", "yes" if not re.match("b", "abc") else "no")
