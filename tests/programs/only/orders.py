words = ["pear", "Fig", "apple", "kiwi"]
print(sorted(words), sorted(words, reverse=True), sorted(words, key=len), sorted(words, key=str.lower))
print(sorted(words, key=lambda w: w[-1]), sorted(words, key=len, reverse=True))
words.sort(key=lambda w: (len(w), w))
print(words)
words.sort(reverse=True)
print(words)
counts = {"a": 2, "b": 5, "c": 1}
print(sorted(counts, key=counts.get), max(counts, key=counts.get), min(counts, key=counts.get), max(words, key=len))
print(sorted(counts.items(), key=lambda pair: pair[1], reverse=True), sorted(counts.items()))
for name, count in sorted(counts.items()):
    print(name, count)
print(list(reversed([1, 2, 3])), list(enumerate("ab", 1)), list(zip([1, 2], "xy")), list(enumerate("ab", start=5)))
