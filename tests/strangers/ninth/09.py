def caesar(text, shift, decode=False):
    if decode: shift = -shift
    result = []
    for ch in text:
        if ch.isalpha():
            base = ord("A") if ch.isupper() else ord("a")
            result.append(chr((ord(ch) - base + shift) % 26 + base))
        else:
            result.append(ch)
    return "".join(result)
secret = caesar("Hello, World!", 3)
print(secret, caesar(secret, 3, decode=True), caesar("xyz", shift=30))
print("racecar" == "racecar"[::-1], sorted("listen") == sorted("silent"), "".join(c for c in "A man, a plan" if c.isalnum()).lower())
