letters = "abcdefghijklmnopqrstuvwxyz"
secret = ""
for letter in "seedbed":
    place = letters.find(letter)
    secret += letters[(place + 3) % 26]
print(secret)
