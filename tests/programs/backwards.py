word = input("A word? ")
turned = ""
for letter in word:
    turned = letter + turned
print(turned)
if turned == word:
    print("the same both ways")
