import string

ALPHABET = string.ascii_lowercase

def shift(ch, k):
    if ch.isalpha():
        base = ord('A') if ch.isupper() else ord('a')
        return chr((ord(ch) - base + k) % 26 + base)
    return ch

def encrypt(msg, k):
    return "".join(shift(c, k) for c in msg)

def freq(msg):
    counts = dict.fromkeys(ALPHABET, 0)
    for c in msg.lower():
        if c in counts:
            counts[c] += 1
    return {k: v for k, v in sorted(counts.items(), key=lambda kv: (-kv[1], kv[0])) if v}

secret = encrypt("Meet me at the Old Shed, 9pm!", 7)
print(secret)
print(encrypt(secret, -7))
print(freq(secret))
table = str.maketrans("abc", "xyz")
print("a cab back".translate(table), secret.swapcase(), secret.find("z"), secret.count("l"))
print(string.digits, len(string.punctuation))
