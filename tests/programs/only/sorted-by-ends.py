words = ["pear", "fig", "apple"]
print(sorted(words, key=lambda w: w[-1]))
words.sort(key=lambda w: w[0])
print(words)
rows = [{"n": "b"}, {"n": "a"}]
print([r["n"] for r in sorted(rows, key=lambda r: r["n"])])
