import string

def caesar(text, k):
    out = ""
    for ch in text:
        if ch in string.ascii_lowercase:
            out += string.ascii_lowercase[(string.ascii_lowercase.index(ch) + k) % 26]
        elif ch.isupper():
            out += chr((ord(ch) - 65 + k) % 26 + 65)
        else:
            out += ch
    return out

def vigenere(text, key, sign=1):
    res = []
    i = 0
    for ch in text:
        if ch.isalpha():
            shift = ord(key[i % len(key)].lower()) - ord('a')
            res.append(caesar(ch, sign * shift))
            i += 1
        else:
            res.append(ch)
    return ''.join(res)

def is_anagram(a, b):
    clean = lambda s: sorted(s.replace(" ", "").lower())
    return clean(a) == clean(b)

def rle(s):
    if not s:
        return ""
    parts = []
    prev, n = s[0], 1
    for c in s[1:]:
        if c == prev:
            n += 1
        else:
            parts.append((prev, n))
            prev, n = c, 1
    parts.append((prev, n))
    return "".join(f"{c}{n if n > 1 else ''}" for c, n in parts)

def unrle(s):
    out, num = [], ''
    for c in reversed(s):
        if c.isdigit():
            num = c + num
        else:
            out.append(c * int(num or 1))
            num = ''
    return "".join(reversed(out))

secret = caesar("Meet me at the Pond!", 7)
print(secret, caesar(secret, -7), sep="\n")
v = vigenere("The hedgehog sleeps.", "Fern")
print(v, "|", vigenere(v, "Fern", -1))
print(is_anagram("Tom Riddle s", "mold riders t"), is_anagram("below", "elbow"))
print(rle("aaabccdddd"), unrle(rle("aaabccdddd")) == "aaabccdddd", repr(rle("")))
vowels = sum(1 for c in "Fernhollow garden school" if c in "aeiou")
print(f"{vowels = }")
words = "the quick hedgehog and the slow snail and the worm".split()
print({w: words.count(w) for w in sorted(set(words), key=lambda w: (-words.count(w), w))})
print(str.maketrans("abc", "xyz"))
print("a-b-c".translate(str.maketrans("abc", "xyz", "-")))
print("title case here".title(), "SWAP case".swapcase(), "x".center(7, "*"), "7".zfill(3), "tab\tbed".expandtabs(4))
print("one,two,,three".split(","), "  pad ".strip() + "|", "k=v=w".partition("="), "a.b.c".rsplit(".", 1))
