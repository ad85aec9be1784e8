from scrivlet import nib

sides = [60, 60, 90, 90]
turns = [70, 110, 110, 70]
for i in range(len(sides)):
    nib.forward(sides[i])
    nib.left(turns[i])
nib.write("kite")
