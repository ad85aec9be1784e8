text = "Fernhollow garden"
vowels = 0
for letter in text.lower():
    if letter in "aeiou":
        vowels += 1
print(vowels, "vowels in", len(text), "letters")
