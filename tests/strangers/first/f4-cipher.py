import sys
ALPHABET = "abcdefghijklmnopqrstuvwxyz"

def shift(text, key):
    out = ""
    for ch in text:
        if ch.lower() in ALPHABET:
            i = (ALPHABET.index(ch.lower()) + key) % 26
            new = ALPHABET[i]
            out += new.upper() if ch.isupper() else new
        else:
            out += ch
    return out

def vigenere(text, word, sign=1):
    result = []
    k = 0
    for ch in text:
        if ch.isalpha():
            base = ord("A") if ch.isupper() else ord("a")
            step = ord(word[k % len(word)].lower()) - ord("a")
            result.append(chr((ord(ch) - base + sign * step) % 26 + base))
            k += 1
        else:
            result.append(ch)
    return "".join(result)

msg = "Water the Beans, please!"
secret = shift(msg, 3)
print(secret, "|", shift(secret, -3))
v = vigenere(msg, "fern")
print(v, "|", vigenere(v, "fern", -1))
table = str.maketrans("abc", "xyz")
print("a cab".translate(table), msg.swapcase(), msg[::-1].upper())
if v == msg:
    sys.exit(1)
freq = {c: msg.lower().count(c) for c in sorted(set(msg.lower())) if c.isalpha()}
print(freq)
