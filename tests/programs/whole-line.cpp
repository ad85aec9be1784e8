#include <iostream>
#include <string>
using namespace std;

int main() {
    string line;
    getline(cin, line);
    cout << line << "!" << endl;
    cout << line.size() << endl;
}
