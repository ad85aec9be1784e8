text = """the rain in the garden
the rose in the rain"""
freq = {}
for word in text.split():
    if word in freq:
        freq[word] += 1
    else:
        freq[word] = 1
for w in sorted(freq, key=lambda w: (-freq[w], w)):
    print(w.ljust(8), "#" * freq[w], freq[w])
vowels = sum(ch in "aeiou" for ch in text)
print(vowels, text.count("the"), text.title().splitlines()[0], text.find("rose"), text.replace("rain", "sun", 1)[:20])
