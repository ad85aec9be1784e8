#include <cmath>
#include <iostream>
#include <string>
using namespace std;

int main() {
    int side{4};
    double area{2.5};
    cout << pow(side, 2) << " " << sqrt(16.0) << " " << area << endl;
    string word = "bed";
    word[0] = toupper(word[0]);
    cout << word << endl;
}
