import re
text = "Row 12: 3 beans, 14 peas"
print(re.findall(r"\d+", text))
m = re.match(r"Row (\d+)", text)
if m:
    print(m.group(1))
print(re.sub(r"\d", "#", text))
