for value in [0, 1, -1, "", "a", [], [0], None, 0.0, 0.5, {}, {"a": 1}, True, False, ()]:
    print(value, "is true" if value else "is false")
print(0 or "none", "x" and "y", "" or "b", 5 and 0, None or [] or "last", not "", not [1])
print(1 < 2 < 3, 1 < 3 < 2, 1 == 1.0 == True, 3 > 2 != 1, 10 <= 12 <= 16)
dry = True
hot = False
if dry and not hot:
    print("water a little")
if not (dry and hot) or hot:
    print("not both")
print(dry and hot, dry or hot, dry != hot, dry is True, None is None, [] is not None)
