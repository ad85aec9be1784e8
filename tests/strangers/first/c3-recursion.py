from functools import lru_cache


@lru_cache(maxsize=None)
def fib(n):
    return n if n < 2 else fib(n - 1) + fib(n - 2)


def hanoi(n, source, target, spare, moves):
    if n == 0:
        return
    hanoi(n - 1, source, spare, target, moves)
    moves.append((source, target))
    hanoi(n - 1, spare, target, source, moves)


def permutations(items):
    if len(items) <= 1:
        return [items]
    result = []
    for i, item in enumerate(items):
        for rest in permutations(items[:i] + items[i + 1:]):
            result.append([item] + rest)
    return result


def flatten(tree):
    for part in tree:
        if isinstance(part, list):
            yield from flatten(part)
        else:
            yield part


def power_set(items):
    if not items:
        return [[]]
    rest = power_set(items[1:])
    return rest + [[items[0], *subset] for subset in rest]


print(fib(80))
moves = []
hanoi(3, "A", "C", "B", moves)
print(len(moves), moves[:3])
print(permutations([1, 2, 3]))
print(list(flatten([1, [2, [3, 4], 5], [[6]]])))
print(power_set("abc"))
