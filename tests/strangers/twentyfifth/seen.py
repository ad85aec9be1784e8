seen = set(); dup = [x for x in [1, 2, 1, 3, 2] if x in seen or seen.add(x)]; print(dup)
def uniq(xs):
    seen = set()
    return [x for x in xs if not (x in seen or seen.add(x))]
print(uniq([3, 1, 3, 2, 1]))
log = []
ok = 3 > 2 and log.append("yes")
print(ok, log)
xs = [3, 1]
print(xs.sort() or xs)
