def encrypt(text, shift):
    result = ""
    for ch in text:
        if ch.isalpha():
            base = ord('A') if ch.isupper() else ord('a')
            result += chr((ord(ch) - base + shift) % 26 + base)
        else:
            result += ch
    return result

msg = "Hello, World!"
enc = encrypt(msg, 3)
print(enc)
print(encrypt(enc, -3))
