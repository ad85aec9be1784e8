#include <iostream>
#include <cmath>
using namespace std;
bool isPrime(int number);
int gcd(int, int);
int lcm(int a, int b) { return a / gcd(a, b) * b; }
long long factorial(int);
double power(double base, int exp);
void toBinary(int n);
int main()
{
	int choice, a, b;
	do
	{
		cout<<"1. Prime  2. GCD/LCM  3. Factorial  4. Power  5. Binary  6. Exit"<<endl;
		cin>>choice;
		switch(choice)
		{
		case 1:
			cin>>a;
			if(isPrime(a)) cout<<a<<" is prime"<<endl;
			else cout<<a<<" is not prime"<<endl;
			break;
		case 2:
			cin>>a>>b;
			cout<<"gcd("<<a<<","<<b<<")="<<gcd(a,b)<<" lcm="<<lcm(a,b)<<endl;
			break;
		case 3:
			cin>>a;
			cout<<a<<"! = "<<factorial(a)<<endl;
			break;
		case 4: {
			double x; 
			cin>>x>>b;
			cout<<x<<"^"<<b<<"="<<power(x,b)<<" check "<<pow(x,b)<<endl; }
			break;
		case 5:
			cin>>a;
			toBinary(a);
			cout<<endl;
			break;
		case 6: break;
		default: cout<<"Invalid"<<endl;
		}
	}while(choice!=6);
	return 0;
}
bool isPrime(int number)
{
	if(number<2) return false;
	for(int i=2;i<=sqrt(number);i++)
		if(number%i==0)
			return false;
	return true;
}
int gcd(int a, int b)
{
	while(b!=0)
	{
		int r=a%b;
		a=b;
		b=r;
	}
	return a;
}
long long factorial(int n){ return n<=1?1:n*factorial(n-1); }
double power(double base,int exp)
{
	double result=1;
	for(;exp>0;exp--) result*=base;
	return result;
}
void toBinary(int n)
{
	if(n>1) toBinary(n/2);
	cout<<n%2;
}
