#include <iostream>
#include <string>
using namespace std;

int main() {
    char row = 'a';
    int code = row;
    cout << int('A') << " " << (int)row << " " << static_cast<int>(row) << " " << code << endl;
    string tag = "42";
    int beds = tag[0] - '0';
    cout << beds << " " << int(tag[1]) << endl;
    code = tag[1];
    cout << code << endl;
}
