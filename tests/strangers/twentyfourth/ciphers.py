# Caesar and Vigenere ciphers
import string

ALPHABET = string.ascii_lowercase

def shift_letter(letter, by):
    if letter.lower() not in ALPHABET:
        return letter
    base = ord('A') if letter.isupper() else ord('a')
    return chr((ord(letter) - base + by) % 26 + base)

def caesar(text, by):
    return ''.join(shift_letter(c, by) for c in text)

def vigenere(text, key, decode=False):
    result = []
    i = 0
    for c in text:
        if c.isalpha():
            by = ALPHABET.index(key[i % len(key)].lower())
            if decode:
                by = -by
            result.append(shift_letter(c, by))
            i += 1
        else:
            result.append(c)
    return ''.join(result)

def crack(secret):
    best, best_score = None, -1
    for by in range(26):
        guess = caesar(secret, -by)
        score = sum(guess.lower().count(v) for v in "etaoin")
        if score > best_score:
            best, best_score = guess, score
    return best, best_score

table = str.maketrans(ALPHABET, ALPHABET[::-1])

message = "Meet me in the greenhouse at noon, Ada!"
secret = caesar(message, 7)
print(secret)
print(caesar(secret, -7) == message)
print(crack(secret))
v = vigenere(message, "Fern")
print(v, vigenere(v, "Fern", decode=True), sep="\n")
print(message.lower().translate(table).title())
counts = {}
for c in message.lower():
    if c in string.ascii_letters:
        counts[c] = counts.get(c, 0) + 1
for letter, n in sorted(counts.items(), key=lambda p: (-p[1], p[0]))[:5]:
    print(letter, '*' * n)
