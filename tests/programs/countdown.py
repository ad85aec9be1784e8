left = 5
while True:
    print(left, end=" ")
    left -= 1
    if left == 0:
        break
print()
word = "lantern"
turned = ""
for letter in word:
    turned = letter + turned
print(turned, word[0], word[-1], len(word))
for place, letter in enumerate("abc"):
    print(place, letter)
