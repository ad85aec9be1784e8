def c_to_f(c):
    return c * 9 / 5 + 32

def f_to_c(f):
    return (f - 32) * 5 / 9

def menu():
    print("1) C to F")
    print("2) F to C")
    print("0) quit")

option = None
while option != "0":
    menu()
    option = input("? ")
    if option == "1":
        print("%.1f" % c_to_f(float(input("C: "))))
    elif option == "2":
        print("{:.1f}".format(f_to_c(float(input("F: ")))))
    elif option != "0":
        print("Invalid option", repr(option))
print("bye")
