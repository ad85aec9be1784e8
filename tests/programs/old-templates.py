n = 3.7
name = "Wren"
print("%d beds" % n)
print("%s is %d years and %.1f%%" % (name, 12, 99.5))
print("%5d|%-5d|%05d|%x" % (42, 42, 42, 255))
print(17 % 5, "ab" * 2)
