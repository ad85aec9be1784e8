sentence = "the rain in the garden stays mainly in the garden"
letters = {}
for ch in sentence:
    if ch != " ":
        if ch in letters:
            letters[ch] += 1
        else:
            letters[ch] = 1
for key in sorted(letters, key=letters.get, reverse=True)[:3]:
    print(key, "*" * letters[key])
words = sentence.split(" ")
longest = ""
for w in words:
    if len(w) > len(longest):
        longest = w
print(longest, words.count("the"), sentence.find("rain"), sentence.upper().count("IN"))
acronym = ""
for w in words: acronym += w[0].upper()
print(acronym)
print(sentence.replace("garden", "shed", 1))
print(" ".join(reversed(words)))
print([w for w in set(words) if len(w) == 2], sentence[4:8], sentence[-6:], sentence[::5])
