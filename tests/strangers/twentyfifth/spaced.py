import sys
def  numbers( stream ) :
	for  line  in  stream :
		for word in line . split( ) :
			if word . isdigit( ) : yield int( word )
total = 0
for n in numbers( sys . stdin ) : total += n
print( total )
