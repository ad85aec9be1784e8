for number in range(1, 16):
    text = ""
    if number % 3 == 0:
        text += "leaf"
    if number % 5 == 0:
        text += "fall"
    print(text or number)
