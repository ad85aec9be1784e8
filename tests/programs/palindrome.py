def is_palindrome(text):
    clean = "".join(c.lower() for c in text if c.isalnum())
    return clean == clean[::-1]


for text in ["Level", "No lemon, no melon", "garden"]:
    print(text, is_palindrome(text))
