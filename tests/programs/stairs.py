from scrivlet import nib

step = 20
for number in range(5):
    nib.forward(step)
    nib.left(90)
    nib.forward(step)
    nib.right(90)
print("steps drawn:", 5)
