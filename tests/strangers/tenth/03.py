import string

MESSAGE = "Meet me at the old oak, bring 2 spades!"

def caesar(text, shift):
    alphabet = string.ascii_lowercase
    moved = alphabet[shift:] + alphabet[:shift]
    table = str.maketrans(alphabet + alphabet.upper(), moved + moved.upper())
    return text.translate(table)

secret = caesar(MESSAGE, 5)
print(secret)
print(caesar(secret, -5))

def vigenere(text, key):
    out = []
    i = 0
    for ch in text:
        if ch.isalpha():
            base = ord('A') if ch.isupper() else ord('a')
            k = ord(key[i % len(key)].lower()) - ord('a')
            out.append(chr((ord(ch) - base + k) % 26 + base))
            i += 1
        else:
            out.append(ch)
    return ''.join(out)

print(vigenere(MESSAGE, "Fern"))

counts = {}
for letter in MESSAGE.lower():
    if letter in string.ascii_lowercase:
        counts[letter] = counts.get(letter, 0) + 1
top = sorted(counts.items(), key=lambda item: (-item[1], item[0]))[:3]
for letter, n in top:
    print(letter, n, "#" * n)
vowels = sum(counts.get(v, 0) for v in "aeiou")
print("vowels: %d of %d (%.1f%%)" % (vowels, sum(counts.values()), 100 * vowels / sum(counts.values())))
print(string.digits, string.punctuation[:5], MESSAGE.swapcase())
