#include <iostream>
#include <iomanip>
using namespace std;
int main() { double x = 3.14159; cout.setf(ios::fixed); cout.precision(2); cout << x << endl; cout.width(8); cout << x << endl; cout.fill('*'); cout.width(8); cout << 1.5 << endl; cout.unsetf(ios::fixed); cout.precision(6); cout << x << endl; cout.setf(ios::fixed, ios::floatfield); cout << x << endl; std::cout.setf(std::ios_base::fixed); cout << fixed << x; }
