#include <iostream>
#include <string>
using namespace std;

int main() {
    int beds = stoi("12");
    double depth = stod("2.5");
    string label = "bed " + to_string(beds);
    cout << label << " " << depth * beds << endl;
}
