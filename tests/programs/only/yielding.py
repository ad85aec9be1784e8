def flatten(tree):
    for part in tree:
        if isinstance(part, list):
            yield from flatten(part)
        else:
            yield part

print(list(flatten([1, [2, [3, 4], 5], [[6]]])))
