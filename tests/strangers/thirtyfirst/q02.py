def hanoi(n, source="A", target="C", spare="B", moves=None):
    if moves is None:
        moves = []
    if n == 1:
        moves.append((source, target))
    else:
        hanoi(n - 1, source, spare, target, moves)
        moves.append((source, target))
        hanoi(n - 1, spare, target, source, moves)
    return moves


def permutations(items):
    if len(items) <= 1:
        return [items]
    result = []
    for i in range(len(items)):
        rest = items[:i] + items[i + 1:]
        for p in permutations(rest):
            result.append([items[i]] + p)
    return result


def subsets(s):
    if not s:
        return [set()]
    first, *rest = s
    without = subsets(rest)
    return without + [{first} | w for w in without]


def flatten(nested):
    flat = []
    for x in nested:
        if isinstance(x, (list, tuple)):
            flat += flatten(x)
        else:
            flat.append(x)
    return flat


def binary(n):
    return str(n) if n < 2 else binary(n // 2) + str(n % 2)


def gcd(a, b):
    return a if not b else gcd(b, a % b)


def ackermann(m, n):
    if m == 0:
        return n + 1
    if n == 0:
        return ackermann(m - 1, 1)
    return ackermann(m - 1, ackermann(m, n - 1))


print(len(hanoi(5)), hanoi(2))
print(["".join(p) for p in permutations(list("abc"))])
print(sorted(map(sorted, subsets([1, 2, 3]))))
print(flatten([1, [2, (3, [4])], [], 5]))
print(binary(37), gcd(84, 36), ackermann(2, 3))
memo = {}
def fib(n):
    if n not in memo:
        memo[n] = n if n < 2 else fib(n - 1) + fib(n - 2)
    return memo[n]
print(fib(90))
print(sum(int(d) for d in str(2 ** 100)))
