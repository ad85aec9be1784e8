try:
    1 / 0
except:
    print("no")
errors = []
try:
    raise KeyError("tulip")
except KeyError as e:
    print("key", e)
try:
    print({}["x"])
except LookupError as e:
    print(e, str(e), f"<{e}>", "a" + str(e))
try:
    raise ValueError
except ValueError as e:
    print("[" + str(e) + "]")
def deep(n):
    return deep(n + 1)
try:
    deep(0)
except RecursionError:
    print("too deep")
