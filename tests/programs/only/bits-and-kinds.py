import sys
from math import sqrt

flags = 5
print(flags & 3, flags | 8, flags ^ 1, 1 << 4, ~flags, 256 >> 2, 1 << 70, -9 >> 1, True & False, 6 & 3 | 8, (flags & 1) == 1)
print(bin(10), hex(255), oct(8), bin(-5))
print("xxhixx".strip("x"), "one\ntwo\n".splitlines(), "..a".lstrip("."), "a--".rstrip("-"), "Hello".swapcase())
name = "ivy"
print(f"{flags=}", f"{name=}", f"{flags:03d}", f"{flags + 1 = }", f"{'mid':^9}|")
print(type(3).__name__, type("a") == str, type([]), type(2.5) is float, type(1) == type(2), type(None))
print(repr("a'b"), repr(3), [repr(x) for x in ["a"]])
beds = [1]
others = [1]
same = beds
print(beds is others, beds is same, beds == others, beds is not others, name is None)
data = [("b", 2), ("a", 2), ("c", 1)]
data.sort(key=lambda pair: (-pair[1], pair[0]))
print(data, sqrt(16))


def main():
    print("at the end")
    return 0


sys.exit(main())
