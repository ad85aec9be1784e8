#include <iostream>
#include <cstdlib>
using namespace std;
int main() { system("cls"); cout << "hi" << endl; system("pause"); return 0; }
