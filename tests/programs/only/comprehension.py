squares = [n * n for n in range(6)]
even = [n for n in squares if n % 2 == 0]
names = [name.upper() for name in ["a", "b"]]
print(squares, even, names)
pairs = [(x, y) for x in range(2) for y in range(2)]
print(pairs)
lengths = {word: len(word) for word in ["bean", "pea"]}
print(lengths)
print(sum(n for n in range(5)), max(len(w) for w in ["aa", "b"]), any([False, True]), all([True, False]))
letters = [c for c in "hedge" if c not in "aeiou"]
print("".join(letters))
print(list(map(str, [1, 2])), list(filter(lambda n: n > 1, [1, 2, 3])))
