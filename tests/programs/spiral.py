from scrivlet import nib

length = 4
while length < 90:
    nib.forward(length)
    nib.left(61)
    length += 3
print(length)
