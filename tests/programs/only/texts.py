line = "  Green peas, beans and kale  "
print("[" + line.strip() + "]", "[" + line.lstrip() + "]", "[" + line.rstrip() + "]", len(line))
text = line.strip()
print(text.upper(), text.lower(), text.title(), text.capitalize(), text.split(), text.split(", "))
print(text.replace("e", "3"), text.find("peas"), text.find("corn"), text.rfind("a"), text.count("e"), text.index("peas"))
print(text.startswith("Green"), text.endswith("x"), "peas" in text, "corn" not in text)
print("42".isdigit(), "4a".isdigit(), "abc".isalpha(), " ".isspace(), "AB".isupper(), "ab".islower(), "a1".isalnum())
print("-".join(["a", "b"]), "".join(reversed("abc")), list("abc"), "ab" * 3, "=" * 10, "x" + "y")
print(ord("A"), chr(98), "a" < "b", "Zebra" < "apple", max("hedge"), min("hedge"), sorted("hedge"))
for place, letter in enumerate("xy"):
    print(place, letter)
print("tab\there", 'single "double"', "it's", r"raw\n", "a" "b", """two
lines""", "é✓", len("é✓"))
