print(list(map(max, [1, 5], [4, 2])), list(map(lambda a, b: a * b, [1, 2], [3, 4])))
