def told(x):
    if isinstance(x, (list, tuple)):
        return "row of " + str(len(x))
    if isinstance(x, set):
        return "set"
    if isinstance(x, dict):
        return "map"
    if isinstance(x, bool):
        return "truth"
    if isinstance(x, int):
        return "int"
    return "else"
for x in [[1], (1, 2), {1}, {"a": 1}, True, 3, 2.5, "s"]:
    print(told(x), isinstance(x, tuple), isinstance(x, list), isinstance(x, dict))
