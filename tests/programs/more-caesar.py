def shifted(text, key):
    result = ""
    for letter in text:
        if letter.isalpha():
            base = ord("A") if letter.isupper() else ord("a")
            result += chr((ord(letter) - base + key) % 26 + base)
        else:
            result += letter
    return result


secret = shifted("Water the Beds!", 3)
print(secret, shifted(secret, -3))
