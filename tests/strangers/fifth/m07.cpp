#include <iostream>
#include <cstdlib>
using namespace std;

void printMenu();
int add(int, int);
void swapValues(int &a, int &b);
int power(int base, int exp = 2);

int counter = 0;

int main() {
    printMenu();
    int x = 3, y = 4;
    swapValues(x, y);
    cout << x << " " << y << endl;
    cout << add(x, y) << " " << power(x) << " " << power(2, 10) << endl;
    for (int i = 0; i < 3; i++) {
        int local = i * 2;
        counter += local;
    }
    cout << "counter " << counter << endl;
    int i = 0;
    do {
        if (i == 2) { i++; continue; }
        cout << i << " ";
        i++;
    } while (i < 5);
    cout << endl;
    int *p = &counter;
    *p = 100;
    cout << counter << endl;
    unsigned int u = 7;
    cout << (u > 5 && x != y || false) << !true << endl;
    cout << (x > y ? "x" : "y") << endl;
    if (system(NULL)) ;
    return EXIT_SUCCESS;
}

void printMenu() {
    cout << "1. Play" << endl
         << "2. Quit" << endl;
}

int add(int a, int b) { return a + b; }

void swapValues(int &a, int &b) {
    int temp = a;
    a = b;
    b = temp;
}

int power(int base, int exp) {
    int result = 1;
    while (exp-- > 0) result *= base;
    return result;
}
