print("Hello".upercase())
